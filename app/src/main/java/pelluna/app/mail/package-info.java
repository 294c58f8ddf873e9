/** Mail to keepers: an outbox that keeps what would be sent. */
@ApplicationModule(allowedDependencies = {"rows"})
package pelluna.app.mail;

import org.springframework.modulith.ApplicationModule;
