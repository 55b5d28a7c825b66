package potmellow.app.problem;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Requests over every operation of the interface, mostly right and wrong in one spot; the same for the same seed. */
final class BadRequests {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DEEPEST = 5;
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "x".repeat(5000),
            "-1",
            "0",
            "1e309",
            "NaN",
            "1 kg",
            "20 mL",
            "null",
            "'; DROP TABLE pot; --",
            "<script>alert(1)</script>",
            "\u0000",
            "\ud83c\udf31".repeat(40),
            "1:500",
            "yesterday",
            "9999999999999 L",
            ".inf",
            "-0001-01-01",
            "2026-02-30",
            "../../etc/passwd",
            "%00",
            "\u202e",
            "a,b;c\t\"d");

    private final JsonNode schemas;
    private final List<Operation> operations = new ArrayList<>();
    private final Random random;
    private final Map<String, List<String>> known;

    BadRequests(long seed, Map<String, List<String>> known) throws Exception {
        JsonNode document =
                JSON.readTree(Path.of("src/main/openapi/potmellow.json").toFile());
        this.schemas = document.at("/components/schemas");
        this.random = new Random(seed);
        this.known = known;
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation -> operations.add(
                                new Operation(path.getKey(), operation.getKey().toUpperCase(), operation.getValue()))));
    }

    List<Operation> operations() {
        return operations;
    }

    /** A request of one operation. */
    Bad of(Operation operation) {
        String path = operation.path();
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.described().path("parameters")) {
            String name = parameter.get("name").asText();
            switch (parameter.get("in").asText()) {
                case "path" -> path = path.replace("{" + name + "}", encoded(segment(operation.path(), parameter)));
                case "query" -> {
                    if (random.nextInt(4) > 0) {
                        query.append(query.isEmpty() ? "?" : "&")
                                .append(name)
                                .append('=')
                                .append(encoded(text(parameter.get("schema"))));
                    }
                }
                default -> {}
            }
        }
        JsonNode schema = operation.described().at("/requestBody/content/application~1json/schema");
        return new Bad(operation, path + query, schema.isMissingNode() ? null : body(schema));
    }

    private String body(JsonNode schema) {
        switch (random.nextInt(14)) {
            case 0 -> {
                return one(List.of("", "null", "[]", "{", "true", "\"text\"", "{\"a\":", "7", "{}"));
            }
            default -> {
                JsonNode right = value(schema, 0);
                JsonNode wrong = random.nextInt(5) == 0 ? right : spoilt(right);
                return wrong.toString();
            }
        }
    }

    private JsonNode value(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asText().replaceFirst(".*/", "");
            return depth > DEEPEST ? JSON.nullNode() : value(schemas.get(name), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        return switch (schema.path("type").asText()) {
            case "object" -> object(schema, depth);
            case "array" -> {
                ArrayNode list = JSON.createArrayNode();
                for (int i = 0; i < random.nextInt(3); i++) {
                    list.add(value(schema.get("items"), depth + 1));
                }
                yield list;
            }
            case "integer" -> JSON.getNodeFactory().numberNode(random.nextInt(40) - 5);
            case "number" -> JSON.getNodeFactory().numberNode(random.nextDouble() * 40 - 5);
            case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            default -> JSON.getNodeFactory().textNode(text(schema));
        };
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        schema.path("properties").properties().forEach(property -> {
            if (random.nextInt(6) > 0) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
            }
        });
        return object;
    }

    private String text(JsonNode schema) {
        if (schema.has("enum")) {
            return schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .asText();
        }
        return switch (schema.path("format").asText()) {
            case "uuid" -> uuid();
            case "date" -> one(List.of("2026-05-19", "2026-02-28", "0001-01-01", "9999-12-31"));
            case "date-time" -> one(List.of("2026-05-19T08:00:00Z", "2026-05-20T08:00:00Z", "1900-01-01T00:00:00Z"));
            default -> random.nextInt(3) > 0 ? one(List.of("1 L", "2 kg", "Tub", "1:500", "yesterday")) : one(TEXTS);
        };
    }

    private String uuid() {
        List<String> all = known.values().stream().flatMap(List::stream).toList();
        return random.nextBoolean() && !all.isEmpty()
                ? one(all)
                : new UUID(random.nextLong(), random.nextLong()).toString();
    }

    private String segment(String path, JsonNode parameter) {
        if (random.nextInt(5) == 0) {
            return one(TEXTS).isBlank() ? "x" : one(List.of("x", "-1", "0", "1e309", "%2e%2e", "P1", "plant-juice"));
        }
        String collection = path.replaceFirst("/\\{.*", "");
        boolean id = parameter.at("/schema/format").asText().equals("uuid");
        List<String> ids = known.getOrDefault(collection, List.of());
        return id && !ids.isEmpty() ? one(ids) : text(parameter.get("schema"));
    }

    /** One spot of it made wrong. */
    private JsonNode spoilt(JsonNode right) {
        if (right instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = one(names);
            JsonNode inside = object.get(name);
            object.set(
                    name,
                    inside.isContainerNode() && !inside.isEmpty() && random.nextBoolean() ? spoilt(inside) : wrong());
            return object;
        }
        if (right instanceof ArrayNode list && !list.isEmpty()) {
            int at = random.nextInt(list.size());
            list.set(at, random.nextBoolean() ? spoilt(list.get(at)) : wrong());
            return list;
        }
        return wrong();
    }

    private JsonNode wrong() {
        return switch (random.nextInt(8)) {
            case 0, 1 -> JSON.nullNode();
            case 2 -> JSON.getNodeFactory().numberNode(one(List.of(-1e300, 1e300, 0.0, -1.0, 1e18)));
            case 3 -> JSON.createObjectNode().put("x", 1);
            case 4 -> JSON.createArrayNode().add(JSON.nullNode());
            case 5 -> JSON.getNodeFactory().booleanNode(true);
            default -> JSON.getNodeFactory().textNode(one(TEXTS));
        };
    }

    private static String encoded(String text) {
        return java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private <T> T one(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    /**
     * An operation.
     *
     * @param described what the OpenAPI says of it
     */
    record Operation(String path, String method, JsonNode described) {}

    /**
     * A request.
     *
     * @param address path and query
     * @param body what is sent; null where nothing is
     */
    record Bad(Operation operation, String address, String body) {}
}
