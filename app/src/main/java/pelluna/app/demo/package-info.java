/** The invented scenario that the demo starts with. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "introduction",
            "crew",
            "fish",
            "prediction",
            "incident",
            "limits",
            "log",
            "mail",
            "losses",
            "planfile",
            "planning",
            "probe",
            "shell",
            "signin",
            "tank"
        })
package pelluna.app.demo;

import org.springframework.modulith.ApplicationModule;
