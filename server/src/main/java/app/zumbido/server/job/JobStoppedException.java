package app.zumbido.server.job;

/** Leads out of work that has been stopped. */
class JobStoppedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    JobStoppedException() {
        super("The job has been stopped");
    }
}
