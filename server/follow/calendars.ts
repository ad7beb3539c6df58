import { randomBytes } from 'node:crypto';

const MOST = 20;

/** Plans that calendars on the home network may subscribe to, each under a secret of its own. */
export class Calendars {
  private readonly plans = new Map<string, { readonly secret: string; text: string }>();

  /** Puts a meal's plan there, or the newer one in its place. @returns its secret */
  put(meal: string, text: string): string | undefined {
    const here = this.plans.get(meal);
    if (here) {
      here.text = text;
      return here.secret;
    }
    if (this.plans.size >= MOST) return undefined;
    const secret = randomBytes(18).toString('base64url');
    this.plans.set(meal, { secret, text });
    return secret;
  }

  textOf(secret: string): string | undefined {
    return [...this.plans.values()].find((plan) => plan.secret === secret)?.text;
  }

  end(meal: string): void {
    this.plans.delete(meal);
  }
}
