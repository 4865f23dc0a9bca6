# Words the report of a mail server that could not deliver (RFC 3464), with Python's email: what happened, to whom the report
# goes, and whom the letter was for.
import sys
from email.message import Message
from email.mime.message import MIMEMessage
from email.mime.multipart import MIMEMultipart
from email.mime.nonmultipart import MIMENonMultipart
from email.mime.text import MIMEText

action, to, of = sys.argv[1:]
mail = MIMEMultipart("report", report_type="delivery-status")
mail["From"] = "Mail Delivery System <mailer-daemon@mx.mail.example>"
mail["To"] = to
mail["Subject"] = "Your letter"
mail["Date"] = "Tue, 24 Nov 2026 12:00:00 +0000"
mail["Auto-Submitted"] = "auto-replied"
mail.attach(MIMEText("I am sorry to have to tell you."))
whole = Message()
whole["Reporting-MTA"] = "dns; mx.mail.example"
one = Message()
one["Final-Recipient"] = "rfc822; " + of.upper()
one["Action"] = action
one["Status"] = "5.1.1"
one["Diagnostic-Code"] = "smtp; 550 5.1.1 No such mailbox,\n and never was"
status = MIMENonMultipart("message", "delivery-status")
status.set_payload([whole, one])
mail.attach(status)
letter = Message()
letter["Subject"] = "Booked"
letter.set_payload("This time is yours.")
mail.attach(MIMEMessage(letter))
sys.stdout.write(mail.as_string())
