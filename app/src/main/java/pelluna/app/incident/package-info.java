/** Looking back on one incident. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "chart",
            "introduction",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "log",
            "losses",
            "planning",
            "probe",
            "quarantine",
            "rows",
            "sharing",
            "shell",
            "tank"
        })
package pelluna.app.incident;

import org.springframework.modulith.ApplicationModule;
