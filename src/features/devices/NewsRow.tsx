/** One thing that is out of the ordinary, and the way to what does something about it. */
import type { Href } from 'expo-router';
import type { DeviceNews } from '@/core/devices/news';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { devicesText } from '@/words/screens/devices';

interface Props {
  readonly news: DeviceNews;
  readonly beside?: boolean;
}

export function NewsRow({ news, beside = false }: Props) {
  const [head, under] = [devicesText.newsHead(news), devicesText.newsUnder(news)];
  return (
    <LinkRow href={hrefOf(news)} says={`${head}. ${under}`} beside={beside}>
      <Txt kind="strong" tone={news.news === 'seen' ? 'hours' : 'open'}>
        {head}
      </Txt>
      <Txt tone="ink2">{under}</Txt>
    </LinkRow>
  );
}

function hrefOf(news: DeviceNews): Href {
  switch (news.news) {
    case 'low':
    case 'silent':
      return '/fence';
    case 'door':
      return { pathname: '/shut', params: { night: news.night } };
    case 'seen':
      return '/lives';
  }
}
