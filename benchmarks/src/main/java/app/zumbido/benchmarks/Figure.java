package app.zumbido.benchmarks;

/**
 * One line of the table.
 *
 * @param what what was measured
 * @param value with its unit
 * @param goal what it should be
 * @param how denominator, picture, warm-up, threads
 */
record Figure(String what, String value, String goal, boolean met, String how) {
    String row() {
        return "| " + what + " | " + value + " | " + goal + " | " + (met ? "met" : "**missed**") + " | " + how + " |";
    }
}
