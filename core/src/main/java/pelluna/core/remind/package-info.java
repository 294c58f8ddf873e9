/** When somebody is reminded: quiet hours, a mail at its hour, notifications soon after something is due. */
package pelluna.core.remind;
