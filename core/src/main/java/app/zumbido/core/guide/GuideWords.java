package app.zumbido.core.guide;

/**
 * What a brand says of itself in its guide; each may be empty.
 *
 * @param line beneath the title
 * @param voice how it sounds, in a few words
 * @param sounding the same in some sentences
 * @param mood what its pictures have in common
 * @param files where to get the files
 * @param contact whom to ask
 * @param dated when the guide was made, as it is to be read
 */
public record GuideWords(
        String line, String voice, String sounding, String mood, String files, String contact, String dated) {
    public static final int LONGEST = 200;
    public static final int LONGEST_SOUNDING = 1000;
    public static final GuideWords NONE = new GuideWords("", "", "", "", "", "", "");

    public GuideWords {
        for (String words : new String[] {line, voice, mood, files, contact, dated}) {
            if (words.length() > LONGEST) {
                throw new IllegalArgumentException("Words of a guide have at most " + LONGEST + " characters");
            }
        }
        if (sounding.length() > LONGEST_SOUNDING) {
            throw new IllegalArgumentException(
                    "How a brand sounds is said in at most " + LONGEST_SOUNDING + " characters");
        }
    }
}
