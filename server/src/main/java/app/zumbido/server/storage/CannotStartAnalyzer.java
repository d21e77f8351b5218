package app.zumbido.server.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says it in two sentences instead of a page of calls. */
class CannotStartAnalyzer extends AbstractFailureAnalyzer<CannotStartException> {
    @Override
    protected FailureAnalysis analyze(Throwable failure, CannotStartException cause) {
        return new FailureAnalysis(cause.getMessage() + ".", cause.remedy() + ".", cause);
    }
}
