package app.zumbido.server.job;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** What is asked of a job cannot be done now, or not at all. */
class JobException extends ApiException {
    private static final long serialVersionUID = 1L;

    private JobException(Problem problem, String detail) {
        super(problem, detail);
    }

    static JobException unknownKind(String kind) {
        return new JobException(
                new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "unknown-kind-of-job", "Unknown kind of job"),
                "There is no job of the kind '" + kind + "'");
    }

    static JobException tooMany(int most) {
        return new JobException(
                new Problem(HttpStatus.SERVICE_UNAVAILABLE, "too-many-jobs", "Too many jobs"),
                most + " jobs are waiting; try again when some are done, or stop one");
    }

    /** @param state as in {@code running} */
    static JobException noFile(String state) {
        JobException refused = new JobException(
                new Problem(HttpStatus.CONFLICT, "job-has-no-file", "The job has no file"),
                "The job is " + state + "; it has a file when it is done");
        refused.fact("state", state);
        return refused;
    }
}
