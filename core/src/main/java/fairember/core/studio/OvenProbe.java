package fairember.core.studio;

/**
 * The probe of an oven.
 *
 * @param token the password it sends with its readings
 */
public record OvenProbe(String token) {}
