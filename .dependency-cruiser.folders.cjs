/** No circle of folders inside the core and the screens; tests, which may look at anything, are left out. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles-of-folders',
      scope: 'folder',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    ...require('./.dependency-cruiser.cjs').options,
    exclude: { path: '\\.test\\.tsx?$' },
  },
};
