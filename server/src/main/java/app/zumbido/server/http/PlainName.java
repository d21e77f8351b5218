package app.zumbido.server.http;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.jspecify.annotations.Nullable;

/** A text that can stand in every file we write: not too long, nothing that XML cannot carry, and as a name not blank. */
@Documented
@Constraint(validatedBy = PlainName.Validator.class)
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
public @interface PlainName {
    String message() default "must have 1 to {max} characters that can be printed";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** @return whether it may be empty */
    boolean blank() default false;

    /** @return most UTF-16 units */
    int max();

    /** Source of the characters: XML 1.0, Fifth Edition, 2.2; line breaks and tabs are no part of a name. */
    class Validator implements ConstraintValidator<PlainName, String> {
        private int max;
        private boolean blank;

        @Override
        public void initialize(PlainName annotation) {
            max = annotation.max();
            blank = annotation.blank();
        }

        @Override
        public boolean isValid(@Nullable String value, ConstraintValidatorContext context) {
            // Whether a name must be there at all is said by @NotNull beside it.
            return value == null || (blank || !value.isBlank()) && value.length() <= max && isPrintable(value);
        }

        public static boolean isPrintable(String value) {
            return value.codePoints().allMatch(Validator::printable);
        }

        private static boolean printable(int c) {
            boolean surrogate = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
            return c >= 0x20 && c != 0x7F && !surrogate && c != 0xFFFE && c != 0xFFFF;
        }
    }
}
