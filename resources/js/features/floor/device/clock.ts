/** What tells the time: the wall, which somebody may set, and a steady count, which may stand still while the device sleeps. */
export interface Times {
  /** Milliseconds since 1970. */
  wall: () => number
  /** Milliseconds since some moment; never runs back. */
  steady: () => number
}

export interface FloorClock {
  /** Milliseconds since 1970; never runs back, and does not follow a wall clock that is set back. */
  now: () => number
  /** How far the wall clock lies behind, milliseconds; 0 where it does not. */
  behind: () => number
}

/** Smaller differences are the wall clock being put right by the network. */
const noticedMs = 1500

/**
 * The time of a session: from the clock and not from ticks.
 *
 * @param notBefore Nothing is earlier than this, milliseconds since 1970: what was done is done.
 */
export function clockFrom({ wall, steady }: Times, notBefore = 0): FloorClock {
  let anchor = { wall: Math.max(wall(), notBefore), steady: steady() }
  let behind = Math.max(0, notBefore - wall())
  return {
    now: () => {
      const counted = anchor.wall + steady() - anchor.steady
      let ahead = wall() + behind - counted
      if (ahead > noticedMs) {
        // A clock that was set back has been put right.
        const right = Math.min(behind, ahead)
        behind -= right
        ahead -= right
      }
      if (ahead > noticedMs) {
        // The device slept, and the steady count with it: the wall is right.
        anchor = { wall: counted + ahead, steady: steady() }
        return anchor.wall
      }
      if (ahead < -noticedMs) behind -= ahead
      return counted
    },
    behind: () => (behind > noticedMs ? behind : 0),
  }
}

export const deviceTimes: Times = { wall: () => Date.now(), steady: () => performance.now() }
