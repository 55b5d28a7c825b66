package potmellow.browser;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A walk that changes nothing in the garden, so that the next one finds it as it was. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
@interface OnlyReads {}
