package app.zumbido.server.pack;

import app.zumbido.server.type.FontRow;

/**
 * A face of a brand as a package lists it; what it is called and how it is made says its file.
 *
 * @param name of the file as the person knows it
 * @param file SHA-256 of the file, which is its name in the package
 * @param face which one of a collection, 0 first
 */
record FontRecord(String name, String file, int face) {
    static FontRecord of(FontRow row) {
        return new FontRecord(row.fileName(), row.blob(), row.face());
    }
}
