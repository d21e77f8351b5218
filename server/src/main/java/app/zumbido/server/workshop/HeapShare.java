package app.zumbido.server.workshop;

/**
 * How much of the memory each of those who keep something may take. All together they may keep no more than a good third of
 * it: what stands there always takes a quarter of the smallest that is meant to do, 512 MB, and what is done needs the rest.
 */
public final class HeapShare {
    private HeapShare() {}

    /** @param share of the heap, 0 to 1 */
    public static long bytes(double share) {
        return (long) (Runtime.getRuntime().maxMemory() * share);
    }
}
