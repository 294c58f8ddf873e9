/** The invented scenario that the demo starts with. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "introduction",
            "crew",
            "database",
            "fish",
            "prediction",
            "incident",
            "limits",
            "log",
            "mail",
            "losses",
            "people",
            "planfile",
            "planning",
            "pooled",
            "probe",
            "shell",
            "signin",
            "tank"
        })
package pelluna.app.demo;

import org.springframework.modulith.ApplicationModule;
