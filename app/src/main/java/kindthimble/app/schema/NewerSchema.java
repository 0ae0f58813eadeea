package kindthimble.app.schema;

import org.springframework.boot.ExitCodeGenerator;

/** What is stored was kept by a newer version than this one. Starting again does not help: the exit code says so (78, EX_CONFIG of sysexits.h). */
class NewerSchema extends RuntimeException implements ExitCodeGenerator {
    private static final long serialVersionUID = 1;
    private static final int NOT_AS_IT_IS = 78;

    NewerSchema(int there, int known) {
        super(
                "The orders were kept by a newer version (schema %d; this one knows it up to %d). Nothing was changed. Start that version again, or bring a backup back that was made before: bin/db restore FILE."
                        .formatted(there, known));
    }

    @Override
    public int getExitCode() {
        return NOT_AS_IT_IS;
    }
}
