// Stands in for react-native-web's virtualized lists, which the app does not draw: long lists are src/ui/layout/long-list.tsx.
export { default } from 'react-native-web/dist/exports/View';
