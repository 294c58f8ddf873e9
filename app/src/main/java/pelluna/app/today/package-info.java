/** What is due, whom to watch, what to know. */
@ApplicationModule(
        allowedDependencies = {
            "arrivals",
            "behaviour",
            "introduction",
            "fish",
            "health",
            "losses",
            "planning",
            "probe",
            "quarantine",
            "shell",
            "tank"
        })
package pelluna.app.today;

import org.springframework.modulith.ApplicationModule;
