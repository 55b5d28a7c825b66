package potmellow.core.book;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import potmellow.core.measure.AmountText;

/**
 * A method as schema.org HowTo in JSON-LD. People and search engines read supplies, tools, steps and time; the whole method
 * travels along as the text of an {@code encoding}, so that it comes back without loss.
 */
public final class HowTo {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String YAML_TYPE = "application/yaml";

    private HowTo() {}

    /** Writes a method. */
    public static String write(MethodFile file) {
        Method method = file.method();
        ObjectNode root = JSON.createObjectNode();
        root.put("@context", "https://schema.org");
        root.put("@type", "HowTo");
        root.put("name", method.title() + ": " + method.school().name());
        root.put("description", method.school().does());
        root.put("totalTime", duration(method.lastStage().window().toDays()));
        root.put("yield", method.makes().words());
        supplies(method, root.putArray("supply"));
        root.putArray("tool")
                .addObject()
                .put("@type", "HowToTool")
                .put("name", method.vessel().kinds().get(0).words());
        steps(method, root.putArray("step"));
        root.putObject("encoding")
                .put("@type", "MediaObject")
                .put("encodingFormat", YAML_TYPE)
                .put("text", BookYaml.write(file));
        return text(root, method);
    }

    private static void supplies(Method method, ArrayNode supplies) {
        for (Part part : method.parts()) {
            supplies.addObject()
                    .put("@type", "HowToSupply")
                    .put("name", part.name())
                    .put("requiredQuantity", quantity(part));
        }
    }

    private static void steps(Method method, ArrayNode steps) {
        for (Instruction instruction : method.steps()) {
            steps.addObject().put("@type", "HowToStep").put("text", method.plain(instruction));
        }
    }

    private static String text(ObjectNode root, Method method) {
        try {
            return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The method " + method.id() + " can't be written.", e);
        }
    }

    /**
     * Reads a method back.
     *
     * @throws BookYaml.BrokenFile for what is no JSON, no HowTo, or carries no whole method
     */
    public static MethodFile read(String text) {
        try {
            JsonNode root = JSON.readTree(text);
            if (!root.path("@type").asText().equals("HowTo")) {
                throw new BookYaml.BrokenFile(
                        0,
                        "It is no schema.org HowTo: its @type is “"
                                + root.path("@type").asText() + "”.");
            }
            JsonNode encoding = root.path("encoding");
            if (!encoding.path("encodingFormat").asText().equals(YAML_TYPE)) {
                throw new BookYaml.BrokenFile(
                        0,
                        "This HowTo tells steps and supplies, but not amounts, times and strengths that can be reckoned with."
                                + " Begin from a method of the book, and change it.");
            }
            return BookYaml.read(encoding.path("text").asText());
        } catch (JsonProcessingException e) {
            throw new BookYaml.BrokenFile(
                    e.getLocation() == null ? 0 : e.getLocation().getLineNr(),
                    e.getOriginalMessage().lines().findFirst().orElse("it can't be read"));
        }
    }

    private static String duration(double days) {
        return days < 3 ? "PT" + Math.round(days * 24) + "H" : "P" + Math.round(days) + "D";
    }

    private static String quantity(Part part) {
        Part.Amount amount = part.amount();
        return switch (amount.basis()) {
            case REST -> "to fill up";
            case VESSEL -> AmountText.percent(amount.value()) + " of the vessel";
            case STARTER -> AmountText.number(amount.value()) + " " + amount.unit() + " per litre";
            case WEIGHT, VOLUME, FINISHED, BATCH -> AmountText.number(amount.value()) + " " + amount.unit();
        };
    }
}
