/** Eight invented tanks to learn on: planned in a sandbox, played, compared. */
@ApplicationModule(
        allowedDependencies = {"account", "drawing", "names", "odds", "overrides", "planfile", "planning", "shell"})
package pelluna.app.lessons;

import org.springframework.modulith.ApplicationModule;
