// What was written and is not sent yet, in its order; and what is known of this device.
const DATABASE = "along"

function opened() {
  return new Promise((good, bad) => {
    const asked = indexedDB.open(DATABASE, 1)
    asked.onupgradeneeded = () => {
      asked.result.createObjectStore("waiting", { autoIncrement: true, keyPath: "number" })
      asked.result.createObjectStore("told")
    }
    asked.onsuccess = () => good(asked.result)
    asked.onerror = () => bad(asked.error)
  })
}

// Does something with a store, and gives what was asked of it once all of it is on the disk.
async function at(name, does, how = "readwrite") {
  const database = await opened()
  try {
    return await new Promise((good, bad) => {
      const all = database.transaction(name, how, { durability: "strict" })
      const asked = does(all.objectStore(name))
      all.oncomplete = () => good(asked?.result)
      all.onerror = all.onabort = () => bad(all.error)
    })
  } finally {
    database.close()
  }
}

const add = (one) => at("waiting", (store) => store.add(one))
const put = (one) => at("waiting", (store) => store.put(one))
const waiting = () => at("waiting", (store) => store.getAll(), "readonly")
const forget = (number) => at("waiting", (store) => store.delete(number))

async function drop(uid) {
  const one = (await waiting()).find((each) => each.uid === uid)
  if (one) await forget(one.number)
  return state()
}

// account; version; jobs, each with its number, name, openings, pages and when it was taken
const told = async () => (await at("told", (store) => store.get("all"), "readonly")) ?? { jobs: [] }
const tell = (what) => at("told", (store) => store.put(what, "all"))
