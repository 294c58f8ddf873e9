/** Plan files, schema and refusals; what is typed about a fish, in fields of a plan file. */
@ApplicationModule(allowedDependencies = {"limits", "rows"})
package pelluna.app.planfile;

import org.springframework.modulith.ApplicationModule;
