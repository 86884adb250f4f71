package jawread.browser;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** On a class whose stories do not disturb one another: they share one demonstration shop. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@interface OneShop {}
