package kindthimble.app.schema;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says it in a sentence instead of a page of a stack. */
class NewerSchemaSaid extends AbstractFailureAnalyzer<NewerSchema> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, NewerSchema newer) {
        return new FailureAnalysis(newer.getMessage(), null, newer);
    }
}
