package app.zumbido.server.job;

import app.zumbido.server.http.WireNames;
import java.util.UUID;

/**
 * How far a job is.
 *
 * @param state waiting, running, done, failed or stopped
 * @param bytes of the file that have been written
 * @param steps that it takes
 * @param stepsDone of them
 */
record JobResponse(UUID id, String state, long bytes, int steps, int stepsDone, String fileName, String mediaType) {
    static JobResponse of(Job job) {
        return new JobResponse(
                job.id(),
                WireNames.of(job.state()),
                job.bytes(),
                job.work().steps(),
                job.stepsDone(),
                job.work().fileName(),
                job.work().mediaType());
    }
}
