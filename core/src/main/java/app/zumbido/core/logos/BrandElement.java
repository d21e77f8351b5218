package app.zumbido.core.logos;

import java.util.UUID;

/**
 * Something that belongs to a brand besides its logo.
 *
 * @param name 1 to 80 characters
 * @param sentence what it is for, at most 300 characters
 * @param source id of a picture on the brand's sheet
 */
public record BrandElement(UUID id, Kind kind, String name, String sentence, UUID source) {
    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_SENTENCE = 300;

    public enum Kind {
        ICONS,
        PATTERN,
        TEXTURE,
        CALLOUT,
        CHARACTER
    }

    public BrandElement {
        if (name.isBlank() || name.length() > LONGEST_NAME || sentence.length() > LONGEST_SENTENCE) {
            throw new IllegalArgumentException("An element has a name of 1 to " + LONGEST_NAME
                    + " characters and a sentence of at most " + LONGEST_SENTENCE);
        }
    }
}
