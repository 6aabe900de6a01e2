// AsyncStorage's own list of IndexedDB connections, which its package does not export: reached through bundler/resolve.js.
declare module 'async-storage-connections' {
  import type { IDBPDatabase } from 'idb';
  const connections: {
    readonly registry: Map<string, Promise<IDBPDatabase>>;
    getOrCreate(name: string): Promise<IDBPDatabase>;
  };
  export default connections;
}
