package com.zestythumb.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The core uses the JDK alone, and its packages only look down. */
@AnalyzeClasses(packages = "com.zestythumb.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final Pattern TYPE = Pattern.compile("\\b[A-Z][a-z]+(?:[A-Z][a-z]+)*\\b");

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

    @ArchTest
    static void isAsTheDocsDrawIt(JavaClasses classes) throws IOException {
        String[] pictures = Files.readString(Path.of("../docs/design.md")).split("```");
        assertThat(pictures[3].replaceAll("\\s+", " ")).contains(String.join(" → ", FROM_THE_GROUND_UP));
        String pom = Files.readString(Path.of("../pom.xml"));
        Matcher module = Pattern.compile("<module>(.*?)</module>").matcher(pom);
        while (module.find()) {
            assertThat(pictures[3]).contains(module.group(1));
        }
        Set<String> types = Stream.of("../core/src/main/java", "../formats/src/main/java")
                .flatMap(ArchitectureTest::namesUnder)
                .collect(Collectors.toSet());
        assertThat(TYPE.matcher(pictures[1]).results().map(MatchResult::group).toList())
                .hasSizeGreaterThan(15)
                .isSubsetOf(types);
    }

    private static Stream<String> namesUnder(String folder) {
        try (Stream<Path> files = Files.walk(Path.of(folder))) {
            return files.map(file -> file.getFileName().toString().replace(".java", "")).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

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
