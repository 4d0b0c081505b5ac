import { jest } from '@jest/globals';

/** A file that a page has handed to the browser to be saved. */
export interface SavedFile {
  readonly name: string;
  readonly bytes: Buffer;
  readonly text: string;
}

/** Stands where a browser saves files: holds what the page hands over. */
export class SavedFiles {
  private readonly offered = new Map<string, Blob>();
  private readonly saved: { readonly name: string; readonly blob: Blob }[] = [];

  private readonly spies = [
    jest.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      const address = `blob:saved-${this.offered.size}`;
      this.offered.set(address, blob as Blob);
      return address;
    }),
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(this.take()),
  ];

  private take(): (this: HTMLAnchorElement) => void {
    const { offered, saved } = this;
    return function () {
      const blob = offered.get(this.href);
      if (blob) saved.push({ name: this.download, blob });
      else this.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    };
  }

  get count(): number {
    return this.saved.length;
  }

  async last(): Promise<SavedFile> {
    const { name, blob } = this.saved.at(-1)!;
    const bytes = Buffer.from(await blob.arrayBuffer());
    return { name, bytes, text: bytes.toString() };
  }

  /** Browsers are as they were. */
  end(): void {
    this.spies.forEach((spy) => spy.mockRestore());
  }
}
