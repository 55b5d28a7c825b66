package potmellow.app.once;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Something that comes as a write and needs no key: it only computes, or looks, or what it sets is the same however often it is
 * set. It may be asked as often as one likes.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface NoAct {}
