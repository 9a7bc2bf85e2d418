import { mkdirSync, writeFileSync } from "node:fs";
import net from "node:net";
import path from "node:path";
import type { Pool } from "mysql2/promise";
import { By, Key, type WebDriver, type WebElement } from "selenium-webdriver";
import { onTestFailed } from "vitest";
import { heronDocument, heronTables } from "@/demo/heron";
import { createJob } from "@/server/jobs";
import { migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";
import { openBrowser as openChromium } from "../../scripts/lib/browser.mjs";
import { startServer } from "../../scripts/lib/build.mjs";
import { freePort } from "../../scripts/lib/database.mjs";

/** Files are run side by side: each process looks for its ports in a range of its own. */
const PORTS_APART = 300 * Number(process.env.VITEST_POOL_ID ?? 0);

export interface App {
  readonly address: string;
  readonly pool: Pool;
  /** Cuts the application off its database, and joins them again. */
  readonly cutDatabase: () => void;
  readonly joinDatabase: () => Promise<void>;
  readonly stop: () => Promise<void>;
}

/** The built application on a database of its own, reached through a relay that a test can cut. */
export async function startApp(name: string): Promise<App> {
  const base = new URL(process.env.DATABASE_URL ?? "");
  const root = makePool(base.href);
  await root.query(`DROP DATABASE IF EXISTS pantograph_${name}`);
  await root.query(`CREATE DATABASE pantograph_${name}`);
  await root.end();
  const direct = new URL(base);
  direct.pathname = `/pantograph_${name}`;
  const pool = makePool(direct.href);
  await migrate(pool);
  await createJob(pool, heronTables(), "heron");
  await createJob(
    pool,
    { ...heronDocument(), job: { ...heronDocument().job, name: "Heron, planned" } },
    "heron-planned",
  );

  const relay = await startRelay(Number(base.port));
  const through = new URL(direct);
  through.port = String(relay.port);
  const server = await startServer({
    host: "127.0.0.1",
    port: await freePort(4300 + PORTS_APART),
    databaseUrl: through.href,
  });
  return {
    address: server.address,
    pool,
    cutDatabase: relay.cut,
    joinDatabase: relay.join,
    stop: async () => {
      await server.stop();
      relay.cut();
      await pool.end();
    },
  };
}

async function startRelay(target: number) {
  const sockets = new Set<net.Socket>();
  const port = (await freePort(35306 + PORTS_APART)) as number;
  const listen = () =>
    new Promise<net.Server>((resolve) => {
      const server = net
        .createServer((client) => {
          const upstream = net.connect(target, "127.0.0.1");
          for (const socket of [client, upstream]) {
            sockets.add(socket);
            socket
              .on("error", () => undefined)
              .on("close", () => {
                client.destroy();
                upstream.destroy();
              });
          }
          client.pipe(upstream).pipe(client);
        })
        .listen(port, "127.0.0.1", () => resolve(server));
    });
  let server: net.Server | null = await listen();
  return {
    port,
    cut: () => {
      server?.close();
      server = null;
      for (const socket of sockets) socket.destroy();
      sockets.clear();
    },
    join: async () => {
      server ??= await listen();
    },
  };
}

/** What the driver's connection to the browser's own tools has, beside what its types say. */
interface DevToolsConnection {
  sessionId: string;
  readonly send: (method: string, params: object) => Promise<unknown>;
  readonly _wsConnection: {
    readonly on: (event: "message", listener: (message: unknown) => void) => void;
    readonly close: () => void;
  };
}

/** One person at one browser: finds things as a person does, by what they are and what they are called. */
export class Person {
  private constructor(
    readonly driver: WebDriver,
    private readonly address: string,
  ) {}

  static async open(address: string, size: { width?: number; height?: number } = {}): Promise<Person> {
    return new Person((await openChromium(size)) as WebDriver, address);
  }

  /** Opens a browser in which this person's name is known already. */
  static async named(address: string, name: string, size: { width?: number; height?: number } = {}): Promise<Person> {
    const person = await Person.open(address, size);
    await person.goTo("/");
    await person.driver.executeScript("localStorage.setItem('pantograph.person', arguments[0])", name);
    return person;
  }

  async goTo(where: string): Promise<void> {
    await this.driver.get(this.address + where);
  }

  /** By the page's own link where it has one in sight, as a person would; else anew by the address. */
  async follow(where: string): Promise<void> {
    const isThere = await this.driver.executeScript<boolean>(
      `const link = [...document.querySelectorAll("a[href]")].find((one) => one.getAttribute("href") === arguments[0] && one.getClientRects().length > 0);
      link?.click();
      return link !== undefined;`,
      where,
    );
    if (!isThere) return this.goTo(where);
    await this.wait(`address ${where}`, async () =>
      (await this.driver.getCurrentUrl()) === this.address + where ? true : null,
    );
  }

  /** Waits until the element is there and shown. Names may be given whole or as a pattern. */
  async find(role: Role, name: string | RegExp): Promise<WebElement> {
    return this.wait(`${role} “${name}”`, () =>
      this.driver.executeScript<WebElement | null>(
        FIND,
        SELECTORS[role],
        typeof name === "string" ? name : name.source,
        typeof name === "string",
      ),
    );
  }

  /** An attribute of what is shown; drawn anew between finding and reading, it is looked for again. */
  async attribute(role: Role, name: string | RegExp, attribute: string): Promise<string> {
    return this.wait(`${attribute} of ${role} “${name}”`, async () =>
      (await this.find(role, name)).getAttribute(attribute),
    );
  }

  async click(role: Role, name: string | RegExp): Promise<void> {
    // What is found can be redrawn before it is clicked; a person would click again.
    await this.wait(`click on ${role} “${name}”`, async () => {
      const element = await this.driver.executeScript<WebElement | null>(
        FIND,
        SELECTORS[role],
        typeof name === "string" ? name : name.source,
        typeof name === "string",
      );
      // What cannot be clicked yet is waited for.
      if (element === null || !(await element.isEnabled())) return null;
      await element.click();
      return true;
    });
  }

  async type(name: string | RegExp, text: string): Promise<void> {
    const field = await this.find("textbox", name);
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), text);
  }

  async press(...keys: string[]): Promise<void> {
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform();
  }

  async chord(...keys: string[]): Promise<void> {
    const actions = this.driver.actions();
    for (const key of keys) actions.keyDown(key);
    for (const key of keys.toReversed()) actions.keyUp(key);
    await actions.perform();
  }

  /** Waits until the page shows the text. */
  async sees(text: string | RegExp, within = 10_000): Promise<void> {
    const shown = (body: string) => (typeof text === "string" ? body.includes(text) : text.test(body));
    await this.wait(`to see “${text}”`, async () => (shown(await this.text()) ? true : null), within);
  }

  /** Runs a script at the start of every page from now on, before the page's own. */
  async onEveryPage(source: string): Promise<void> {
    await this.devTools("Page.addScriptToEvaluateOnNewDocument", { source });
  }

  /** The text that the page hands to the browser as a file when something is clicked. */
  async saved(...what: Parameters<Person["click"]>): Promise<string> {
    await this.driver.executeScript(`
      const make = URL.createObjectURL;
      window.savedText = null;
      URL.createObjectURL = (blob) => {
        URL.createObjectURL = make;
        blob.text().then((text) => { window.savedText = text; });
        return make.call(URL, blob);
      };`);
    await this.click(...what);
    await this.driver.wait(() => this.driver.executeScript("return window.savedText !== null"), 5000);
    return this.driver.executeScript<string>("return window.savedText");
  }

  /** How long this page has run scripts so far, s. */
  async scriptSeconds(): Promise<number> {
    await this.devTools("Performance.enable", {});
    const { metrics } = (await this.devTools("Performance.getMetrics", {})) as {
      metrics: { name: string; value: number }[];
    };
    return metrics.find((one) => one.name === "ScriptDuration")?.value ?? 0;
  }

  /** Collects the garbage of this page and of its workers, which the browser leaves until it needs the room. */
  async collectGarbage(): Promise<void> {
    const connection = (await this.driver.createCDPConnection("page")) as unknown as DevToolsConnection;
    const page = connection.sessionId;
    const workers: string[] = [];
    connection._wsConnection.on("message", (message) => {
      const { method, params } = JSON.parse(String(message)) as {
        method?: string;
        params?: { sessionId: string; targetInfo: { type: string } };
      };
      if (method === "Target.attachedToTarget" && params?.targetInfo.type === "worker") workers.push(params.sessionId);
    });
    await connection.send("Target.setAutoAttach", { autoAttach: true, waitForDebuggerOnStart: false, flatten: true });
    await this.driver.sleep(500);
    for (const session of [page, ...workers]) {
      connection.sessionId = session;
      await connection.send("HeapProfiler.enable", {});
      await connection.send("HeapProfiler.collectGarbage", {});
    }
    connection._wsConnection.close();
  }

  private async devTools(command: string, parameters: object): Promise<unknown> {
    type DevTools = { sendAndGetDevToolsCommand: (command: string, parameters: object) => Promise<unknown> };
    return (this.driver as unknown as DevTools).sendAndGetDevToolsCommand(command, parameters);
  }

  /** The window in another size, as when a tablet is turned or a laptop's window is dragged. */
  async resize(width: number, height: number): Promise<void> {
    await this.devTools("Emulation.setDeviceMetricsOverride", { width, height, deviceScaleFactor: 1, mobile: false });
  }

  /** Waits until the page has not changed for a moment: workers have answered, and what they say is drawn. */
  async settles(): Promise<void> {
    await this.driver.executeAsyncScript(`
      const done = arguments[0];
      let timer = setTimeout(done, 400);
      new MutationObserver(() => { clearTimeout(timer); timer = setTimeout(done, 400); }).observe(document.body, { subtree: true, childList: true, characterData: true });`);
  }

  async seesNot(text: string): Promise<void> {
    await this.wait(`not to see “${text}”`, async () => ((await this.text()).includes(text) ? null : true));
  }

  /**
   * From now on this page notes when Enter was pressed last and when it first showed the text: what passes between two
   * pages is timed there, not by how often we look.
   */
  async note(text: string): Promise<void> {
    await this.driver.executeScript(
      `
      const [text] = arguments;
      window.noted = { entered: null, seen: null };
      addEventListener("keydown", (event) => { if (event.key === "Enter") window.noted.entered = Date.now(); }, true);
      new MutationObserver(() => { if (window.noted.seen === null && document.body.textContent.includes(text)) window.noted.seen = Date.now(); }).observe(document.body, { subtree: true, childList: true, characterData: true });`,
      text,
    );
  }

  /** What {@link note} has noted, ms since 1970; null where it has not happened. */
  noted(): Promise<{ readonly entered: number | null; readonly seen: number | null }> {
    return this.driver.executeScript("return window.noted");
  }

  text(): Promise<string> {
    return this.driver.executeScript<string>("return document.body.innerText.replace(/\\u00a0/g, ' ')");
  }

  async wait<T>(what: string, look: () => Promise<T | null>, within = 10_000): Promise<T> {
    const end = Date.now() + within;
    for (;;) {
      const found = await look().catch(() => null);
      if (found !== null) return found;
      if (Date.now() > end)
        throw new Error(`Waited for ${what}. The page shows:\n${(await this.text()).slice(0, 1500)}`);
      await this.driver.sleep(40);
    }
  }

  async chooseFile(name: string, file: string): Promise<void> {
    const field = By.css(`input[type=file][aria-label="${name}"]`);
    const input = await this.wait(
      `a field for files “${name}”`,
      async () => (await this.driver.findElements(field))[0] ?? null,
    );
    await input.sendKeys(path.resolve(file));
  }

  async fetchText(url: string): Promise<string> {
    return this.driver.executeAsyncScript<string>(
      "const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.text()).then(done)",
      url,
    );
  }

  /** Cuts this browser alone off the network, and joins it again. */
  async offline(cut: boolean): Promise<void> {
    const devTools = this.driver as unknown as { sendDevToolsCommand(name: string, params: object): Promise<void> };
    await devTools.sendDevToolsCommand("Network.enable", {});
    await devTools.sendDevToolsCommand("Network.emulateNetworkConditions", {
      offline: cut,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  }

  /** Keeps a picture when the running test fails. */
  pictureOnFailure(): void {
    onTestFailed(async ({ task }) => {
      mkdirSync("test-output", { recursive: true });
      writeFileSync(
        `test-output/${task.name.replace(/\W+/g, "-").slice(0, 60)}.png`,
        await this.driver.takeScreenshot(),
        "base64",
      );
    });
  }

  close(): Promise<void> {
    return this.driver.quit();
  }
}

const SELECTORS = {
  button: "button, [role=button], summary",
  link: "a[href]",
  textbox: "input:not([type=file]):not([type=radio]):not([type=checkbox]), textarea",
  list: "select",
  radio: "input[type=radio]",
  checkbox: "input[type=checkbox]",
  dialog: "[role=dialog]",
  option: "[role=option]",
} as const;
type Role = keyof typeof SELECTORS;

/** The first shown element of the selector whose accessible name fits; a name is its label, else what it reads. */
const FIND = `
  const [selector, name, whole] = arguments;
  const squeeze = (text) => (text || "").replace(/\\s+/g, " ").trim();
  const nameOf = (element) => squeeze(element.getAttribute("aria-label"))
    || (element.getAttribute("aria-labelledby") ? squeeze(document.getElementById(element.getAttribute("aria-labelledby"))?.innerText) : "")
    || (element.labels?.length ? squeeze(element.labels[0].innerText) : "") || squeeze(element.innerText) || squeeze(element.placeholder);
  const fits = (element) => (whole ? nameOf(element) === name : new RegExp(name).test(nameOf(element)));
  return [...document.querySelectorAll(selector)].find((element) => element.getClientRects().length > 0 && !element.disabled && fits(element)) ?? null;
`;
