package potmellow.core.book;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.judgement.SignTable;

/**
 * All methods and materials, read once from the data files beside this class's resources and checked.
 *
 * @param methods in reading order
 * @param products what the methods make
 * @param materials in reading order
 * @param signs what can be sensed, and what it means
 */
public record Book(List<Method> methods, List<Product> products, List<Material> materials, SignTable signs) {
    private static final String FOLDER = "/potmellow/book/";
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .addModule(new Jdk8Module())
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .build();

    public Book {
        methods = List.copyOf(methods);
        products = List.copyOf(products);
        materials = List.copyOf(materials);
        for (Method method : methods) {
            product(products, method.product());
            for (Part part : method.parts()) {
                for (String choice : part.choices()) {
                    if (find(materials, choice).isEmpty()) {
                        throw new IllegalArgumentException("The method " + method.id() + " names the material " + choice
                                + ", which is not in the book.");
                    }
                }
            }
        }
    }

    /**
     * Reads the book that is shipped with the core.
     *
     * @throws IllegalStateException for a file that is missing or wrong, naming it
     */
    public static Book load() {
        List<Method> methods = new ArrayList<>();
        for (String id : read("index.yaml", new TypeReference<List<String>>() {})) {
            Method method = read("methods/" + id + ".yaml", new TypeReference<Method>() {});
            if (!method.id().equals(id)) {
                throw new IllegalStateException("The file " + id + ".yaml holds the method " + method.id() + ".");
            }
            methods.add(method);
        }
        List<Product> products = methods.stream()
                .map(Method::product)
                .distinct()
                .map(id -> read("products/" + id + ".yaml", new TypeReference<Product>() {}))
                .toList();
        return new Book(
                methods,
                products,
                read("materials.yaml", new TypeReference<List<Material>>() {}),
                read("signs.yaml", new TypeReference<SignTable>() {}));
    }

    public Optional<Method> method(String id) {
        return methods.stream().filter(method -> method.id().equals(id)).findFirst();
    }

    /** What a method makes. */
    public Product productOf(Method method) {
        return product(products, method.product());
    }

    /** @throws IllegalArgumentException for an id that is not in the book */
    public Product product(String id) {
        return product(products, id);
    }

    private static Product product(List<Product> products, String id) {
        return products.stream()
                .filter(product -> product.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The book has no product " + id + "."));
    }

    public Optional<Material> material(String id) {
        return find(materials, id);
    }

    private static Optional<Material> find(List<Material> materials, String id) {
        return materials.stream().filter(material -> material.id().equals(id)).findFirst();
    }

    private static <T> T read(String file, TypeReference<T> type) {
        try (InputStream in = Book.class.getResourceAsStream(FOLDER + file)) {
            if (in == null) {
                throw new IllegalStateException("The book has no file " + file + ".");
            }
            return YAML.readValue(in, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The book's file " + file + " is wrong: " + e.getOriginalMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException("The book's file " + file + " can't be read.", e);
        }
    }
}
