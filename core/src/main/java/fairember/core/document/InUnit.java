package fairember.core.document;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The unit of a component's field where it is another than its type's usual one, as the end of the field's name: "M", "Um", "H". */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface InUnit {
    String value();
}
