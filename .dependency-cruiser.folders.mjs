import house from './.dependency-cruiser.cjs';

/** No circle of folders inside the core and the screens; tests, which may look at anything, are left out. */
const folders = {
  forbidden: [
    {
      name: 'no-circles-of-folders',
      scope: 'folder',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: { ...house.options, exclude: { path: '\\.test\\.tsx?$' } },
};
export default folders;
