/** Bringing in: box, gate, release, looks; what is done for whoever is pressed. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "arrivals",
            "database",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "log",
            "planning",
            "quarantine",
            "rows",
            "shell",
            "tank"
        })
package pelluna.app.introduction;

import org.springframework.modulith.ApplicationModule;
