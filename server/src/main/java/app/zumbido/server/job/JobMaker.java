package app.zumbido.server.job;

/** A feature that has long work to do. */
public interface JobMaker {
    /** @return what a request calls this kind of work */
    String kind();

    /**
     * Looks whether it can be done at all, and starts nothing.
     *
     * @throws app.zumbido.server.http.ApiException if it cannot be done as it is asked for
     */
    JobWork make(JobRequest request);
}
