import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { generalStyles } from '@rose/knowledge/styles/general';
import { examples } from '@rose/knowledge/styles/examples';
import { WithFood } from '@/features/cellar/with-food';
import { foodForStyle } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';
import { Here } from '../../../here';

type Asked = { params: Promise<{ style: string }> };
const styleOf = async ({ params }: Asked) => {
  const { style } = await params;
  return generalStyles.find(({ id }) => id === style) ?? notFound();
};
export async function generateMetadata(asked: Asked): Promise<Metadata> {
  return { title: `With ${(await styleOf(asked)).name}` };
}
/** What to eat with a general style. */
export default async function StylePage(asked: Asked) {
  const style = await styleOf(asked);
  const food = await read(foodForStyle, { style: style.id });
  const example = examples[style.id];
  return (
    <Here>
      <Frame>
        <Page>
          <WayBack steps={[{ href: '/pairing', name: 'Table' }]} />
          <h1>{style.name.replace(/^./u, (letter) => letter.toUpperCase())}</h1>
          {example !== undefined && <p className="soft">{example}</p>}
          <div style={{ maxWidth: 620 }}>
            <WithFood style={style.id} food={food} />
          </div>
        </Page>
      </Frame>
    </Here>
  );
}
