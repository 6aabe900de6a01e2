import { Text, View } from 'react-native';

export default function Bare() {
  return (
    <View role="main">
      <Text>Bare</Text>
    </View>
  );
}
