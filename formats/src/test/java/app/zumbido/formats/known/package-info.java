/** Pictures drawn by us whose colours are known, and how well they are found. Nothing here is drawn after a real brand. */
package app.zumbido.formats.known;
