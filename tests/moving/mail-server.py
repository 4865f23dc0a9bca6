#!/usr/bin/python3
"""A mail server on loopback: each letter's recipient goes into a file, a line; only who signs in as school/tide may send.
With a certificate and its key: over TLS alone, from STARTTLS on."""
import asyncio
import os
import socket
import ssl
import sys

from aiosmtpd.controller import Controller
from aiosmtpd.smtp import AuthResult

# Asked for at each connection; on a machine without names that takes seconds.
socket.getfqdn = lambda *of: 'mail.gannetcove.example'
port, letters, refuse = int(sys.argv[1]), sys.argv[2], sys.argv[3]


class Handler:
    async def handle_DATA(self, server, session, envelope):
        if os.path.exists(refuse):
            return '451 not now'
        with open(letters, 'a') as kept:
            kept.writelines(f'{to}\n' for to in envelope.rcpt_tos)
        return '250 taken'


def signed_in(server, session, envelope, mechanism, data):
    return AuthResult(success=(data.login, data.password) == (b'school', b'tide'), handled=False)


tls = None
if len(sys.argv) > 4:
    tls = ssl.SSLContext(ssl.PROTOCOL_TLS_SERVER)
    tls.load_cert_chain(*sys.argv[4:6])
Controller(
    Handler(), hostname='127.0.0.1', port=port, authenticator=signed_in, auth_required=True, auth_require_tls=bool(tls),
    tls_context=tls, require_starttls=bool(tls)
).start()
asyncio.new_event_loop().run_forever()
