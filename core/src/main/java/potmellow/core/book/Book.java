package potmellow.core.book;

import com.fasterxml.jackson.core.type.TypeReference;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import potmellow.core.craft.Family;

/**
 * All methods and materials, read once from the data files beside this class's resources and checked. Methods, products and
 * materials form a graph: a method uses materials, a material may be the product of other methods.
 *
 * @param methods in reading order
 * @param products what the methods make
 * @param materials in reading order
 * @param signs what can be sensed, and what it means
 */
public record Book(List<Method> methods, List<Product> products, List<Material> materials, SignTable signs) {
    private static final String FOLDER = "/potmellow/book/";

    public Book {
        methods = List.copyOf(methods);
        products = List.copyOf(products);
        materials = List.copyOf(materials);
        Map<String, Material> materialById = byId(materials, Material::id, "material");
        Map<String, Product> productById = byId(products, Product::id, "product");
        byId(methods, Method::id, "method");
        for (Material material : materials) {
            material.product().ifPresent(id -> {
                if (!productById.containsKey(id)) {
                    throw new IllegalArgumentException(
                            "The material " + material.id() + " is the product " + id + ", which is not in the book.");
                }
            });
        }
        for (Method method : methods) {
            requireLinks(method, materialById, productById);
        }
        requireNoCycle(methods, materialById);
    }

    private static <T> Map<String, T> byId(List<T> all, Function<T, String> id, String kind) {
        Map<String, T> byId = new LinkedHashMap<>();
        for (T one : all) {
            if (byId.put(id.apply(one), one) != null) {
                throw new IllegalArgumentException("The book has two " + kind + "s called " + id.apply(one) + ".");
            }
        }
        return byId;
    }

    private static void requireLinks(Method method, Map<String, Material> materials, Map<String, Product> products) {
        List<String> made = new ArrayList<>(method.byproducts());
        made.add(method.product());
        for (String id : made) {
            if (!products.containsKey(id)) {
                throw new IllegalArgumentException(
                        "The method " + method.id() + " makes the product " + id + ", which is not in the book.");
            }
        }
        for (Part part : method.parts()) {
            for (String choice : part.choices()) {
                if (!materials.containsKey(choice)) {
                    throw new IllegalArgumentException("The method " + method.id() + " names the material " + choice
                            + ", which is not in the book.");
                }
            }
        }
    }

    /** A brew that needs itself could never be begun; what may be left out of a method doesn't count. */
    private static void requireNoCycle(List<Method> methods, Map<String, Material> materials) {
        Map<String, Set<String>> needs = methods.stream()
                .collect(Collectors.toMap(Method::product, method -> needs(method, materials), (one, other) -> {
                    Set<String> both = new HashSet<>(one);
                    both.retainAll(other);
                    return both;
                }));
        Set<String> done = new HashSet<>();
        for (String product : needs.keySet()) {
            visit(product, needs, new ArrayList<>(), done);
        }
    }

    private static void visit(String product, Map<String, Set<String>> needs, List<String> path, Set<String> done) {
        if (path.contains(product)) {
            throw new IllegalArgumentException("The book runs in a circle: "
                    + String.join(" → ", path.subList(path.indexOf(product), path.size())) + " → " + product + ".");
        }
        if (done.contains(product)) {
            return;
        }
        path.add(product);
        for (String next : needs.getOrDefault(product, Set.of())) {
            visit(next, needs, path, done);
        }
        path.remove(path.size() - 1);
        done.add(product);
    }

    private static Set<String> needs(Method method, Map<String, Material> materials) {
        return method.parts().stream()
                .filter(part -> !part.optional())
                .filter(part -> part.choices().stream()
                        .allMatch(choice -> materials.get(choice).product().isPresent()))
                .flatMap(part -> part.choices().stream())
                .map(choice -> materials.get(choice).product().orElseThrow())
                .collect(Collectors.toSet());
    }

    /** Whether a part is the sugar of its method: weighed, and not the cap. */
    public boolean sweetens(Part part) {
        Material usual = usual(part);
        return usual.is(Material.Role.SUGAR) && !usual.liquid() && part.room() != Room.CAP;
    }

    /** Every sugar, those that are refused last. */
    public List<Material> sugars() {
        return materials.stream()
                .filter(material -> material.is(Material.Role.SUGAR))
                .sorted(Comparator.comparing(material -> material.refusal().isPresent()))
                .toList();
    }

    /**
     * Reads the book that is shipped with the core.
     *
     * @throws IllegalStateException for a file that is missing or wrong, naming it
     */
    public static Book load() {
        List<Method> methods = new ArrayList<>();
        for (String id : BookYaml.resource(FOLDER + "index.yaml", new TypeReference<List<String>>() {})) {
            Method method = BookYaml.resource(FOLDER + "methods/" + id + ".yaml", new TypeReference<Method>() {});
            if (!method.id().equals(id)) {
                throw new IllegalStateException("The file " + id + ".yaml holds the method " + method.id() + ".");
            }
            methods.add(method);
        }
        List<Material> materials = BookYaml.resource(FOLDER + "materials.yaml", new TypeReference<List<Material>>() {});
        Set<String> products = new LinkedHashSet<>();
        methods.forEach(method -> {
            products.add(method.product());
            products.addAll(method.byproducts());
        });
        materials.forEach(material -> material.product().ifPresent(products::add));
        return new Book(
                methods,
                products.stream()
                        .map(id ->
                                BookYaml.resource(FOLDER + "products/" + id + ".yaml", new TypeReference<Product>() {}))
                        .toList(),
                materials,
                BookYaml.resource(FOLDER + "signs.yaml", new TypeReference<SignTable>() {}));
    }

    /**
     * Reads the craft's numbers that belong to no single method.
     *
     * @throws IllegalStateException for a file that is missing or wrong
     */
    public static List<Fact> facts() {
        return BookYaml.resource(FOLDER + "facts.yaml", new TypeReference<List<Fact>>() {});
    }

    /**
     * This book with a gardener's own methods after the shipped ones.
     *
     * @throws IllegalArgumentException for a method that names what is in neither
     */
    public Book with(List<MethodFile> own) {
        List<Method> all = new ArrayList<>(methods);
        List<Product> made = new ArrayList<>(products);
        Map<String, Material> known = new LinkedHashMap<>();
        materials.forEach(material -> known.put(material.id(), material));
        for (MethodFile file : own) {
            all.add(file.method());
            file.materials().forEach(material -> known.putIfAbsent(material.id(), material));
            if (made.stream()
                    .noneMatch(product -> product.id().equals(file.product().id()))) {
                made.add(file.product());
                Material brew = Material.brew(file.product(), file.method().title());
                known.putIfAbsent(brew.id(), brew);
            }
        }
        return new Book(all, made, List.copyOf(known.values()), signs);
    }

    /** This book with fewer methods to choose from; what they make stays known. */
    public Book only(Predicate<Method> kept) {
        return new Book(methods.stream().filter(kept).toList(), products, materials, signs);
    }

    public Optional<Method> method(String id) {
        return methods.stream().filter(method -> method.id().equals(id)).findFirst();
    }

    public List<Method> methods(Family family) {
        return methods.stream().filter(method -> method.family() == family).toList();
    }

    /** All ways of making one product. */
    public List<Method> making(String product) {
        return methods.stream()
                .filter(method ->
                        method.product().equals(product) || method.byproducts().contains(product))
                .toList();
    }

    /** All methods that one product goes into. */
    public List<Method> using(String product) {
        return methods.stream()
                .filter(method -> method.parts().stream()
                        .flatMap(part -> part.choices().stream())
                        .anyMatch(choice -> material(choice)
                                .flatMap(Material::product)
                                .filter(product::equals)
                                .isPresent()))
                .toList();
    }

    /** What makes a spoilt pot of a method dangerous, whichever of its materials went in. */
    public Set<Material.Spoils> spoils(Method method) {
        return method.parts().stream()
                .flatMap(part -> part.choices().stream())
                .flatMap(choice -> material(choice).stream())
                .flatMap(material -> material.spoils().stream())
                .collect(Collectors.toSet());
    }

    /** Whether it begins with life collected outdoors, so that its origin is worth writing down. */
    public boolean collected(Method method) {
        return method.family() == Family.FOREST
                && method.parts().stream()
                        .flatMap(part -> part.choices().stream())
                        .flatMap(choice -> material(choice).stream())
                        .noneMatch(material -> material.product().isPresent());
    }

    /** What a method makes. */
    public Product productOf(Method method) {
        return product(method.product());
    }

    /** @throws IllegalArgumentException for an id that is not in the book */
    public Product product(String id) {
        return findProduct(id).orElseThrow(() -> new IllegalArgumentException("The book has no product " + id + "."));
    }

    public Optional<Product> findProduct(String id) {
        return products.stream().filter(product -> product.id().equals(id)).findFirst();
    }

    public Optional<Material> material(String id) {
        return materials.stream().filter(material -> material.id().equals(id)).findFirst();
    }

    /** The material that a part is made with unless another is chosen. */
    public Material usual(Part part) {
        return material(part.choices().get(0)).orElseThrow();
    }
}
