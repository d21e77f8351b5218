package app.zumbido.server.job;

/** How far a job is. */
enum JobState {
    /** Others are being done. */
    WAITING,
    RUNNING,
    /** Its file is there. */
    DONE,
    /** Something in the program or the machine went wrong. */
    FAILED,
    STOPPED;

    boolean isOver() {
        return this == DONE || this == FAILED || this == STOPPED;
    }
}
