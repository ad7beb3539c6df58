/** The words of cooking one run on several devices. */
export const follow = {
  'follow.title': 'Cook along',
  'follow.more':
    'The device where the meal is cooked shows a code of eight signs, under “Other devices”.',
  'follow.code': 'Code',
  'follow.join': 'Join',
  'follow.which': 'Which one?',
  'follow.none': 'Nothing is shared at the moment. Share it where the meal is cooked.',
  'follow.badLink': 'This link could not be opened',
  'share.title': 'Other devices',
  'share.home': 'On the home network',
  'share.homeMore':
    'A phone at the fire sees the same run, reads the probes and marks things done. Whoever has the code can join; nothing is kept when Zemrin ends.',
  'share.off': 'It is off. To let other devices in your home join, start Zemrin with',
  'share.start': 'Share this run',
  'share.stop': 'Share it no more',
  'share.is.linked': 'Shared. What is done on one device is done on all.',
  'share.is.lost': 'No link at the moment. Go on here; it is told as soon as the link is back.',
  'share.is.unpaired':
    'This device is not paired any more. Open the address again with the new code.',
  'share.address': 'Open there',
  'share.scan': 'The address with the code, to be scanned',
  'share.noNetwork': 'This machine is in no network, so no other device can reach it.',
  'share.without': 'Without a network',
  'share.withoutMore':
    'The run as it stands now goes along; what is done there comes back as a file.',
  'share.link': 'Copy a link',
  'share.copied': 'Copied. Send it to the other device.',
  'share.file': 'As a file',
  'share.open': 'Other devices',
  'share.feed': 'Address for a calendar',
  'share.feedMore':
    'A calendar on the home network can subscribe to this address; it follows the plan while Zemrin is open here.',
  'share.feedNone': 'There is no plan yet for a calendar to follow.',
  'share.feedOff':
    'A calendar can subscribe to the plan while the home network is served. Start Zemrin with “npm run demo -- --lan”.',
} as const;
