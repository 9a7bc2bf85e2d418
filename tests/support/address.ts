/** The address at which a test shows a screen. */
export const address = { path: "/jobs/job/map", query: "" };
