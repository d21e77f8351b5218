package app.zumbido.server.workshop;

/** How much of the memory each of those who keep something may take, so that all together fit however small it is. */
public final class HeapShare {
    private HeapShare() {}

    /** @param share of the heap, 0 to 1 */
    public static long bytes(double share) {
        return (long) (Runtime.getRuntime().maxMemory() * share);
    }
}
