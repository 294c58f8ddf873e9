/** Several people at one tank: who may enter, by which invitation, what they did and note for one another. */
@ApplicationModule(
        allowedDependencies = {"account", "database", "limits", "mail", "planning", "rows", "shell", "signin", "tank"})
package pelluna.app.people;

import org.springframework.modulith.ApplicationModule;
