const plugin = require('tailwindcss/plugin');
const nativewind = require('nativewind/preset');
const palette = require('./theme/palette.json');

const names = Object.keys(palette.day);
const variables = (colours) => Object.fromEntries(names.map((name) => [`--${name}`, colours[name]]));

/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./app/**/*.tsx', './features/**/*.tsx', './ui/**/*.tsx', './drawings/**/*.tsx'],
  presets: [nativewind],
  darkMode: 'class',
  theme: {
    extend: {
      colors: Object.fromEntries(names.map((name) => [name.toLowerCase(), `var(--${name})`])),
      fontFamily: {
        slab: ['SlabNumerals', 'ZillaSlab_600SemiBold'],
        body: ['Barlow_400Regular'],
        medium: ['Barlow_500Medium'],
        strong: ['Barlow_600SemiBold'],
      },
      borderRadius: { sm: '2px' },
      screens: { two: '700px', wide: '1024px' },
    },
  },
  plugins: [
    plugin(({ addBase }) => {
      addBase({
        ':root': variables(palette.day),
        ':root.torch': variables(palette.torch),
        // Until the app itself looks after the light.
        '@media (prefers-color-scheme: dark)': { ':root.device': variables(palette.torch) },
      });
    }),
  ],
};
