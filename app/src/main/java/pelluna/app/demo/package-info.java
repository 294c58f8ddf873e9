/** The invented scenario that the demo starts with. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "bringing",
            "crew",
            "fish",
            "hindsight",
            "incident",
            "log",
            "losses",
            "planfile",
            "planning",
            "probe",
            "tank"
        })
package pelluna.app.demo;

import org.springframework.modulith.ApplicationModule;
