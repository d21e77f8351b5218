package app.zumbido.formats.delivery;

/**
 * A face as a file, as it is put into documents.
 *
 * @param file TrueType outlines, one face
 */
public record FontProgram(boolean bold, boolean italic, byte[] file) {}
