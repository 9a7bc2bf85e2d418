// Headless Chromium through ChromeDriver, both named by path, so that nothing is fetched.
import { existsSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Builder } from "selenium-webdriver";
import chrome from "selenium-webdriver/chrome.js";

const FLAGS = [
  "--headless=new",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--disable-dev-shm-usage",
  "--force-device-scale-factor=1",
  "--hide-scrollbars",
];

/** A browser with a profile of its own; `quit` also removes that. Downloads go to `downloads`. */
export async function openBrowser({ width = 1280, height = 800, downloads } = {}) {
  const profile = mkdtempSync(path.join(tmpdir(), "pantograph-browser-"));
  const options = new chrome.Options()
    .setChromeBinaryPath(existsSync("/usr/bin/chromium") ? "/usr/bin/chromium" : "chromium")
    .addArguments(...FLAGS, `--window-size=${width},${height}`, `--user-data-dir=${profile}`);
  if (downloads)
    options.setUserPreferences({ "download.default_directory": downloads, "download.prompt_for_download": false });
  const driver = await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder("/usr/bin/chromedriver"))
    .build();
  await driver.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
  const quit = driver.quit.bind(driver);
  driver.quit = async () => {
    await quit();
    rmSync(profile, { recursive: true, force: true });
  };
  return driver;
}
