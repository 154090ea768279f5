package com.zestythumb.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;

/** The core uses the JDK alone, and its packages only look down. */
@AnalyzeClasses(packages = "com.zestythumb.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final List<String> FROM_THE_GROUND_UP = List.of(
            "stopping",
            "pitch",
            "chord",
            "sheet",
            "analysis",
            "hearing",
            "harmonising",
            "voicing",
            "voiceleading",
            "solving",
            "fingering",
            "pattern",
            "arrangement",
            "checking",
            "proposing",
            "exercise",
            "practising");

    @ArchTest
    static final ArchRule USES_THE_JDK_ALONE =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("com.zestythumb.core..", "java..");

    @ArchTest
    static final ArchRule KNOWS_NO_FILES_AND_NO_CLOCK = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideOutsideOfPackages("java.io..", "java.nio..", "java.time..");

    @ArchTest
    static final ArchRule PACKAGES_LOOK_DOWN = layers();

    private static LayeredArchitecture layers() {
        LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String name : FROM_THE_GROUND_UP) {
            layers = layers.layer(name).definedBy("com.zestythumb.core." + name + "..");
        }
        for (int i = 0; i < FROM_THE_GROUND_UP.size(); i++) {
            List<String> above = FROM_THE_GROUND_UP.subList(i + 1, FROM_THE_GROUND_UP.size());
            layers = above.isEmpty()
                    ? layers.whereLayer(FROM_THE_GROUND_UP.get(i)).mayNotBeAccessedByAnyLayer()
                    : layers.whereLayer(FROM_THE_GROUND_UP.get(i))
                            .mayOnlyBeAccessedByLayers(above.toArray(String[]::new));
        }
        return layers;
    }
}
