package app.zumbido.core.type;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A language that a brand writes in, with the letters beyond A to Z that it needs: the main exemplar characters of the
 * Unicode Common Locale Data Repository, from memory.
 */
public enum Language {
    ENGLISH("en", ""),
    GERMAN("de", "ÄÖÜäöüß"),
    SPANISH("es", "ÁÉÍÑÓÚÜáéíñóúü¿¡"),
    FRENCH("fr", "ÀÂÆÇÉÈÊËÎÏÔŒÙÛÜŸàâæçéèêëîïôœùûüÿ«»"),
    PORTUGUESE("pt", "ÁÀÂÃÇÉÊÍÓÔÕÚáàâãçéêíóôõú"),
    ITALIAN("it", "ÀÉÈÌÓÒÙàéèìóòù"),
    DUTCH("nl", "ÁÄÉËÍÏÓÖÚÜáäéëíïóöúü"),
    DANISH("da", "ÆØÅæøå"),
    NORWEGIAN("nb", "ÀÉÓÒÔÆØÅàéóòôæøå"),
    SWEDISH("sv", "ÀÉÅÄÖàéåäö"),
    FINNISH("fi", "ŠŽÅÄÖšžåäö"),
    POLISH("pl", "ĄĆĘŁŃÓŚŹŻąćęłńóśźż"),
    CZECH("cs", "ÁČĎÉĚÍŇÓŘŠŤÚŮÝŽáčďéěíňóřšťúůýž"),
    HUNGARIAN("hu", "ÁÉÍÓÖŐÚÜŰáéíóöőúüű"),
    ROMANIAN("ro", "ĂÂÎȘȚăâîșț"),
    TURKISH("tr", "ÂÇĞÎİÖŞÛÜâçğîıöşûü");

    /** What every one of them needs besides. */
    private static final String LATIN =
            "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789.,;:!?'\"-()&%@/";

    private final String code;
    private final String further;

    Language(String code, String further) {
        this.code = code;
        this.further = further;
    }

    public static Optional<Language> ofCode(String code) {
        return Arrays.stream(values())
                .filter(language -> language.code.equals(code))
                .findFirst();
    }

    /** @return as BCP 47 has it */
    public String code() {
        return code;
    }

    /** @return every character that it needs, as code points */
    public List<Integer> letters() {
        return (LATIN + further).codePoints().boxed().toList();
    }
}
