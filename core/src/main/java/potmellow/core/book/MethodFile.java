package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;

/**
 * One method with what it makes: what travels from garden to garden.
 *
 * @param format version of this format, 1
 * @param method the method
 * @param product what it makes; every text of both says something, in signs that can be read back
 * @param materials what goes in that no book tells of
 */
public record MethodFile(int format, Method method, Product product, List<Material> materials) {
    /** The version that this book reads and writes. */
    public static final int FORMAT = 1;

    public MethodFile {
        requireNonNull(method, "method");
        requireNonNull(product, "product");
        if (format != FORMAT) {
            throw new IllegalArgumentException("The format (" + format + ") must be " + FORMAT + ".");
        }
        Wording.require(method);
        Wording.require(product);
        materials = materials == null ? List.of() : List.copyOf(materials);
        materials.forEach(Wording::require);
        if (!method.product().equals(product.id())) {
            throw new IllegalArgumentException(
                    "The method makes " + method.product() + ", but the file tells of " + product.id() + ".");
        }
    }

    public static MethodFile of(Method method, Product product) {
        return of(method, product, List.of());
    }

    /** A method with materials of its own. */
    public static MethodFile of(Method method, Product product, List<Material> materials) {
        return new MethodFile(FORMAT, method, product, materials);
    }
}
