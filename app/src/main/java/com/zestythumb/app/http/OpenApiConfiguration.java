package com.zestythumb.app.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.headers.Header;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/** The OpenAPI document: every property is required but those that have a default, which may be left out. */
@Configuration
@SuppressWarnings("rawtypes") // the OpenAPI model is written in raw types
class OpenApiConfiguration {

    @Bean
    OpenApiCustomizer describe() {
        return api -> {
            api.info(new Info()
                    .title("Zesty Thumb")
                    .version("1")
                    .description("Left-hand chord voicings that this student's hand can play.")
                    .license(new License().name("Apache-2.0")));
            // The address it was asked at would make the document differ from machine to machine.
            api.servers(List.of());
            api.getComponents().getSchemas().values().forEach(OpenApiConfiguration::requireAll);
            describeProblems(api);
        };
    }

    private static final String PROBLEM = "Problem";

    /** What may go wrong with each call, as far as its form tells. */
    private static void describeProblems(OpenAPI api) {
        api.getComponents().addSchemas(PROBLEM, problem());
        Map<Integer, List<ProblemKind>> byStatus = Arrays.stream(ProblemKind.values())
                .collect(Collectors.groupingBy(kind -> kind.status().value(), TreeMap::new, Collectors.toList()));
        byStatus.forEach((status, kinds) -> api.getComponents()
                .addResponses(
                        PROBLEM + status,
                        new ApiResponse()
                                .description(kinds.stream()
                                        .map(kind -> kind.id() + ": " + kind.meaning())
                                        .collect(Collectors.joining(" ")))
                                .content(new Content()
                                        .addMediaType(
                                                MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                                                new io.swagger.v3.oas.models.media.MediaType()
                                                        .schema(new Schema<>().$ref(PROBLEM))))));
        api.getPaths()
                .forEach((path, item) -> item.readOperationsMap().forEach((method, call) -> {
                    Set<ProblemKind> problems = problems(path, method, call);
                    problems.forEach(kind -> call.getResponses()
                            .computeIfAbsent(
                                    Integer.toString(kind.status().value()),
                                    status -> new ApiResponse().$ref("#/components/responses/" + PROBLEM + status)));
                    ApiResponse made = call.getResponses().get("201");
                    if (made != null) {
                        made.addHeaderObject("Location", header("Where it is from now on."));
                    }
                    boolean hasVersion = call.getParameters() != null
                            && call.getParameters().stream()
                                    .anyMatch(parameter -> HttpHeaders.IF_MATCH.equals(parameter.getName()));
                    if (hasVersion && call.getResponses().get("200") != null) {
                        call.getResponses()
                                .get("200")
                                .addHeaderObject("ETag", header("To be named in If-Match at the next save."));
                    }
                }));
    }

    private static Set<ProblemKind> problems(String path, PathItem.HttpMethod method, Operation call) {
        List<Parameter> parameters = call.getParameters() == null ? List.of() : call.getParameters();
        Set<ProblemKind> problems = EnumSet.of(ProblemKind.UNFORESEEN);
        if (path.contains("{")) {
            problems.add(ProblemKind.NOT_FOUND);
        }
        if (!parameters.isEmpty() || call.getRequestBody() != null) {
            problems.add(ProblemKind.SENSELESS);
        }
        if (call.getRequestBody() != null) {
            problems.addAll(Set.of(
                    ProblemKind.TOO_LARGE,
                    ProblemKind.TOO_SLOW,
                    ProblemKind.TOO_LONG,
                    ProblemKind.BUSY,
                    ProblemKind.REFUSED));
        }
        if (method != PathItem.HttpMethod.GET) {
            problems.add(ProblemKind.OTHER_SITE);
        }
        if (parameters.stream().anyMatch(parameter -> HttpHeaders.IF_MATCH.equals(parameter.getName()))) {
            problems.addAll(Set.of(ProblemKind.CHANGED_ELSEWHERE, ProblemKind.VERSION_NEEDED));
        }
        if (Students.isOfStudents(path)) {
            problems.add(ProblemKind.TOO_MANY);
        }
        return problems;
    }

    private static Header header(String words) {
        return new Header().description(words).schema(new StringSchema());
    }

    private static Schema<?> problem() {
        return new ObjectSchema()
                .description("What went wrong (RFC 9457); its type is the address of a page that says what it means.")
                .addProperty(
                        "type",
                        new StringSchema().example(ProblemKind.REFUSED.type().toString()))
                .addProperty("status", new IntegerSchema())
                .addProperty("title", new StringSchema())
                .addProperty("detail", new StringSchema().description("Where, and what to do."));
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(schema.getProperties().entrySet().stream()
                    .filter(property -> property.getValue().getDefault() == null)
                    .map(Map.Entry::getKey)
                    .toList());
        }
    }
}
