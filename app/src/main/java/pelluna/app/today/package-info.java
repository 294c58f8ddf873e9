/** What is due, whom to watch, what to know. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "arrivals",
            "behaviour",
            "drawing",
            "fish",
            "health",
            "introduction",
            "log",
            "losses",
            "odds",
            "planning",
            "probe",
            "quarantine",
            "reefscape",
            "shell",
            "tank",
            "writes"
        })
package pelluna.app.today;

import org.springframework.modulith.ApplicationModule;
